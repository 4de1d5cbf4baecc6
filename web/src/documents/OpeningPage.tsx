import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import type { DocumentKind } from '@hodsman/core';
import { REGISTRY } from './registry.ts';
import { Told } from './Told.tsx';
import type { NotOpen } from './use-open-document.ts';

// few documents are like that, and the server has answered by then
const Gone = lazy(async () => ({ default: (await import('./NotOpenable.tsx')).Gone }));
const Unreadable = lazy(async () => ({ default: (await import('./NotOpenable.tsx')).Unreadable }));

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
      return (
        <Suspense>
          <Gone kind={kind} id={id} back={back} />
        </Suspense>
      );
    case 'unreadable':
      return (
        <Suspense>
          <Unreadable stored={opened.stored} back={back} />
        </Suspense>
      );
  }
}
