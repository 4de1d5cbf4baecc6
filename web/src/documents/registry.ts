import type { UnknownAction } from '@reduxjs/toolkit';
import type { DocumentBodies, DocumentKind, Fault } from '@hodsman/core';
import { breadActions } from './bread-draft.ts';
import { draftActions } from './draft.ts';
import { kitchenActions } from './kitchen-draft.ts';
import type { OpenDocument, Opening, SaveState } from './open-document.ts';
import { pantryActions } from './pantry-draft.ts';

/** Where in the store a document of each kind is open. */
export interface OpenDocuments {
  readonly draft: OpenDocument<DocumentBodies['class']> | null;
  readonly bread: OpenDocument<DocumentBodies['bread']> | null;
  readonly kitchen: OpenDocument<DocumentBodies['kitchen']> | null;
  readonly pantry: OpenDocument<DocumentBodies['pantry']> | null;
}

/** A kind of document as the page opens and saves it: everything that differs between kinds. */
export interface RegisteredKind<T> {
  /** What people call it. */
  readonly noun: string;
  readonly select: (state: OpenDocuments) => OpenDocument<T> | null;
  /** The page of one; that of all of them. */
  readonly path: (id: string) => string;
  readonly all: { readonly to: string; readonly name: string };
  readonly actions: {
    readonly opened: (opening: Opening<T>) => UnknownAction;
    readonly closed: () => UnknownAction;
    readonly edited: (change: { readonly body: T; readonly what?: string }) => UnknownAction;
    readonly refused: (faults: readonly Fault[], tried?: unknown) => UnknownAction;
    readonly savedAs: (answer: { id: string; version: number; body: T }) => UnknownAction;
    readonly conflicted: (answer: { id: string; version: number; body: T }) => UnknownAction;
    readonly saveStands: (answer: { id: string; save: SaveState }) => UnknownAction;
    readonly storeFilled: (answer: { id: string; isFull: boolean }) => UnknownAction;
    readonly undone: () => UnknownAction;
    readonly redone: () => UnknownAction;
    readonly keptMine: () => UnknownAction;
    readonly tookTheirs: () => UnknownAction;
    readonly tookBoth: (both: T) => UnknownAction;
  };
}

/** All kinds; a new one is one entry here, and one in the core's. */
export const REGISTRY: { readonly [K in DocumentKind]: RegisteredKind<DocumentBodies[K]> } = {
  class: {
    noun: 'class',
    select: (s) => s.draft,
    path: (id) => `/class/${id}`,
    all: { to: '/classes', name: 'Classes' },
    actions: draftActions,
  },
  bread: {
    noun: 'bread',
    select: (s) => s.bread,
    path: (id) => `/breads/${id}`,
    all: { to: '/breads', name: 'Breads' },
    actions: breadActions,
  },
  kitchen: {
    noun: 'kitchen',
    select: (s) => s.kitchen,
    path: (id) => `/kitchens/${id}`,
    all: { to: '/kitchens', name: 'Kitchens' },
    actions: kitchenActions,
  },
  pantry: {
    noun: 'pantry',
    select: (s) => s.pantry,
    path: () => '/classes',
    all: { to: '/classes', name: 'Classes' },
    actions: pantryActions,
  },
};
