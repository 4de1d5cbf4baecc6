import { useState } from 'react';
import { otherwise } from '@hodsman/core';
import { Notice } from '../../ui/Notice.tsx';
import type { RunParts } from './run-parts.ts';

/** Two devices planned at the same time: which plan stands, and what the other one said otherwise. */
export function Apart({ live, state, sec }: Pick<RunParts, 'live' | 'state' | 'sec'>) {
  const [seen, setSeen] = useState('');
  const { planAside: aside } = state;
  if (!aside || aside.event === seen) return null;
  const lines = otherwise(state, aside.plan, sec);
  const isOwn = aside.device === live.device;
  return (
    <Notice onClose={() => setSeen(aside.event)}>
      <p>
        Two devices planned the rest at the same time. The plan that knew more stands;{' '}
        {isOwn ? 'the one of this device does not' : 'the one of the other device does not'}.
        {lines.length === 0 ? ' They say the same of every bread that is to come.' : ' It said otherwise:'}
      </p>
      {lines.map((words) => (
        <p key={words}>{words}</p>
      ))}
    </Notice>
  );
}
