export { RunShell } from './RunShell.tsx';
export { RunScreen } from './Screens.tsx';
