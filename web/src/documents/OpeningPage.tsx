import { Download, Trash2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DocumentKind } from '@hodsman/core';
import { MAIN_BUTTON, SIDE_BUTTON } from '../ui/buttons.ts';
import { download, fileName } from '../ui/download.ts';
import { Notice } from '../ui/Notice.tsx';
import { useRemoveDocumentMutation, useRestoreDocumentMutation, type StoredDocument } from './api.ts';
import { REGISTRY } from './registry.ts';
import { SentFaults } from './SentFaults.tsx';
import type { NotOpen } from './use-open-document.ts';

interface Props {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly opened: NotOpen;
}

/** What a page shows until its document is open, or why it does not open and what can be done. */
export function OpeningPage({ kind, id, opened }: Props) {
  const { noun, all } = REGISTRY[kind];
  const back = (
    <Link to={all.to} className="underline">
      All {all.name.toLowerCase()}
    </Link>
  );
  switch (opened.state) {
    case 'opening':
      return <p className="p-6 text-quiet">Opening the {noun} …</p>;
    case 'away':
      return (
        <Told>
          This {noun} cannot be opened: the server does not answer. Nothing is lost; start it again and reload this
          page. {back}
        </Told>
      );
    case 'missing':
      return (
        <Told>
          There is no {noun} at this address: it never was, or was removed long ago. {back}
        </Told>
      );
    case 'gone':
      return <Gone kind={kind} id={id} back={back} />;
    case 'unreadable':
      return <Unreadable stored={opened.stored} back={back} />;
  }
}

const Told = ({ children }: { readonly children: ReactNode }) => (
  <div className="mx-auto max-w-3xl p-6">
    <Notice>{children}</Notice>
  </div>
);

/** A text as JSON, where it is. */
function looseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

function Gone({ kind, id, back }: Pick<Props, 'kind' | 'id'> & { readonly back: ReactNode }) {
  const [restore, { isError, isSuccess }] = useRestoreDocumentMutation();
  const { noun } = REGISTRY[kind];
  return (
    <Told>
      <p>
        This {noun} was removed. {isError && 'It is not known any more. '}
        {back}
      </p>
      {!isError && (
        <button
          type="button"
          className={`${SIDE_BUTTON} mt-2`}
          disabled={isSuccess}
          onClick={() => void restore({ kind, id }).then((r) => r.data && location.reload())}
        >
          <Undo2 size={18} aria-hidden /> Bring it back
        </button>
      )}
    </Told>
  );
}

/** A stored document that no reader understands: it can be taken out as a file, and removed. */
function Unreadable({ stored, back }: { readonly stored: StoredDocument; readonly back: ReactNode }) {
  const [remove, { isError }] = useRemoveDocumentMutation();
  const navigate = useNavigate();
  const { kind, id, version, title, unreadable } = stored;
  const { noun, all } = REGISTRY[kind];
  if (!unreadable) return null;
  return (
    <div className="mx-auto grid max-w-3xl gap-3 p-6">
      <h1 className="text-2xl">{title}</h1>
      <Notice>
        <p>
          What is stored of this {noun} cannot be read. It is kept as it is. {back}
        </p>
        <SentFaults faults={unreadable.faults} count={unreadable.count} within={looseJson(unreadable.text)} />
        {isError && <p>It was not removed: the server did not answer, or it was saved anew meanwhile.</p>}
      </Notice>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className={MAIN_BUTTON}
          onClick={() => download(fileName(title, '.json'), 'application/json', unreadable.text)}
        >
          <Download size={18} aria-hidden /> Save it as a file
        </button>
        <button
          type="button"
          className={SIDE_BUTTON}
          onClick={() => void remove({ kind, id, version }).then((r) => (r.error ? undefined : navigate(all.to)))}
        >
          <Trash2 size={18} aria-hidden /> Remove
        </button>
      </div>
    </div>
  );
}
