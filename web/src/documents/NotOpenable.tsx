import { Download, Trash2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import type { DocumentKind } from '@hodsman/core';
import { MAIN_BUTTON, SIDE_BUTTON } from '../ui/buttons.ts';
import { download, fileName } from '../ui/download.ts';
import { Notice } from '../ui/Notice.tsx';
import { useRemoveDocumentMutation, useRestoreDocumentMutation, type StoredDocument } from './api.ts';
import { REGISTRY } from './registry.ts';
import { SentFaults } from './SentFaults.tsx';
import { Told } from './Told.tsx';

/** A text as JSON, where it is. */
function looseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

interface Props {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly back: ReactNode;
}

/** A document that was removed: it can be brought back. */
export function Gone({ kind, id, back }: Props) {
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
export function Unreadable({ stored, back }: { readonly stored: StoredDocument; readonly back: ReactNode }) {
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
