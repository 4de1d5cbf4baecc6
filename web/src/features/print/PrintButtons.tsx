import { FileDown, Printer } from 'lucide-react';
import { useState } from 'react';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { downloadUrl, fileName } from '../../ui/download.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useGetPdfMakerQuery, useMakePdfMutation } from './pdf-api.ts';

interface Props {
  readonly isDisabled: boolean;
  readonly title: string;
  readonly rules: string;
  /** The sheets as they stand on the page. */
  readonly html: () => string;
}

/** Prints what is ticked, or saves it as one PDF: the server makes one where it can, and else the browser's own print does. */
export function PrintButtons({ isDisabled, title, rules, html }: Props) {
  const { data: maker } = useGetPdfMakerQuery(null);
  const [make, { isLoading }] = useMakePdfMutation();
  const [isRefused, setRefused] = useState(false);
  const save = async (): Promise<void> => {
    const made = await make({ title, html: html(), rules });
    setRefused(made.error !== undefined);
    if (made.data !== undefined) downloadUrl(fileName(title, '.pdf'), made.data);
  };
  return (
    <>
      <button type="button" className={MAIN_BUTTON} disabled={isDisabled} onClick={() => window.print()}>
        <Printer size={18} aria-hidden /> {maker?.isThere === false ? 'Print or save as PDF' : 'Print'}
      </button>
      {maker?.isThere === true && (
        <button type="button" className={SIDE_BUTTON} disabled={isDisabled || isLoading} onClick={() => void save()}>
          <FileDown size={18} aria-hidden /> {isLoading ? 'Making it …' : 'Save as PDF'}
        </button>
      )}
      {isRefused && (
        <Notice onClose={() => setRefused(false)}>
          The server could not make the PDF. “Print” gives the same pages; choose “Save as PDF” there.
        </Notice>
      )}
    </>
  );
}
