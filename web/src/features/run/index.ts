export { RunShell } from './RunShell.tsx';
