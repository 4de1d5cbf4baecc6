import { plannerSession, readWorkshop } from '@hodsman/core';
import { expose } from 'comlink';

expose(
  plannerSession({
    now: () => performance.now(),
    pause: () => new Promise((resolve) => setTimeout(resolve)),
    isTakeable: (workshop) => readWorkshop(workshop).ok,
  }),
);
