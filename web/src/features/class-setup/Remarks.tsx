import { Check } from 'lucide-react';
import { freeWordIn, settleRemark, success, type ClassRecord, type Remark, type Workshop } from '@hodsman/core';
import { applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';

type Person = Workshop['roster'][number];

interface Props {
  readonly record: ClassRecord;
  readonly person: Person;
  readonly onAvoid: (word: string) => void;
}

/** What somebody said of themselves and no list knows: in red until somebody says that it is dealt with, or makes it something avoided. */
export function Remarks({ record, person, onAvoid }: Props) {
  const dispatch = useAppDispatch();
  const own = record.notes.remarks.filter((r) => r.person === person.id);
  if (own.length === 0) return null;
  const settle = (remark: Remark, isDealtWith: boolean): void => {
    dispatch(applyRecord(success(settleRemark(record, remark, isDealtWith))));
  };
  return (
    <ul className="mt-1 grid gap-1" aria-label={`What ${person.name} said`}>
      {own.map((r) => {
        const word = freeWordIn(r.words);
        const isAvoided = person.avoid.some((a) => a.what === word);
        return (
          <li key={r.words} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className={r.isDealtWith ? 'text-quiet line-through' : 'font-semibold text-trouble'}>
              {r.words.startsWith('“') ? r.words : `“${r.words}”`}
            </span>
            {!r.isDealtWith && word !== '' && !r.words.includes('“') && !isAvoided && (
              <button type="button" className="min-h-8 text-sm underline" onClick={() => onAvoid(word)}>
                avoids {word}
              </button>
            )}
            <button
              type="button"
              aria-label={`${r.isDealtWith ? 'open again' : 'dealt with'}: ${r.words}`}
              className="flex min-h-8 items-center gap-1 text-sm underline"
              onClick={() => settle(r, !r.isDealtWith)}
            >
              {!r.isDealtWith && <Check size={15} aria-hidden />}
              {r.isDealtWith ? 'open again' : 'dealt with'}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
