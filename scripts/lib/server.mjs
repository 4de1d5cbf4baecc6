import { spawnTied } from './children.mjs';
import { ROOT } from './paths.mjs';

/** The server's own word for settings that make no sense: starting it again would not help. */
const HOPELESS = 2;
const MOST_PAUSE_MS = 3_000;
const KILL_AFTER_MS = 8_000;

/**
 * Keeps a server running: started again when it dies, sooner or later by how often it has. `onEnd` hears when there is no use in that;
 * `onCrash` hears of every death.
 */
export function keepRunning(words, env, { onEnd, onCrash }) {
  let child;
  let isEnding = false;
  let hasServed = false;
  let tries = 0;
  let timer;

  const launch = () => {
    child = spawnTied(process.execPath, words, {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      env: { ...process.env, ...env },
    });
    child.on('message', () => {
      hasServed = true;
      tries = 0;
    });
    child.once('exit', (status) => {
      if (isEnding) return;
      if (status === HOPELESS || !hasServed) return onEnd();
      onCrash();
      timer = setTimeout(launch, Math.min(MOST_PAUSE_MS, 250 * 2 ** tries++));
    });
  };
  launch();

  return {
    pid: () => child.pid,
    /** Lets it answer what is in flight, then ends it. */
    async stop() {
      isEnding = true;
      clearTimeout(timer);
      if (child.exitCode !== null || child.signalCode !== null) return;
      const gone = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      const late = setTimeout(() => child.kill('SIGKILL'), KILL_AFTER_MS);
      await gone;
      clearTimeout(late);
    },
  };
}
