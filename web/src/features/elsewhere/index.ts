export { MeasuresPage } from './MeasuresPage.tsx';
export { NoPage } from './NoPage.tsx';
