/** The list of classes: opened, made new, copied to another day, read from a file, removed. */
export { ClassList } from './ClassList.tsx';
