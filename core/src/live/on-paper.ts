import { isOfBread, isOnFire, mindedBy, ownerOf, turnsOf, type Plan, type PlanTask } from '../plan/index.ts';
import { clockText } from '../units/index.ts';
import { placeWords, turnWords, whatWords, whoseWords } from '../words/index.ts';
import { careLines, firstName, personName } from '../workshop/index.ts';
import type { LiveState } from './fold.ts';

/** What begins so soon after its like stands in one line with it. */
const TOGETHER_SEC = 240;

/** What several people, doughs or breads begin in a few minutes, as a line on paper. */
export interface PaperLine {
  readonly key: string;
  readonly clock: string;
  /** "cook, Naan". */
  readonly what: string;
  /** Each with what only it has: "11:02 Noor 1 Griddle 2, spot 1". */
  readonly each: readonly string[];
  /** What is the same for all of them: "turn after 40 s, off 11:20". */
  readonly all: string;
  readonly care: readonly string[];
}

/** What is still to come of a class from a moment on, in order of time, what is alike and begins together in one line. */
export function paperLines(
  { workshop, notes }: Pick<LiveState, 'workshop' | 'notes'>,
  plan: Plan,
  sec: number,
): readonly PaperLine[] {
  const groups: { readonly kind: string; readonly fromSec: number; readonly tasks: PlanTask[] }[] = [];
  const left = plan.tasks
    .filter((t) => t.endSec > sec && t.kind !== 'welcome')
    .sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1));
  for (const t of left) {
    const kind = [t.kind, t.bread ?? t.id, t.step ?? ''].join(' ');
    const group = groups.findLast((g) => g.kind === kind && t.startSec - g.fromSec < TOGETHER_SEC);
    if (group) group.tasks.push(t);
    else groups.push({ kind, fromSec: t.startSec, tasks: [t] });
  }
  const who = (t: PlanTask): string => {
    const whose = whoseWords(plan, workshop, t);
    const others = t.kind === 'step' ? t.people.filter((p) => p !== ownerOf(t)) : [];
    const by = others.map((p) => firstName(personName(workshop, p))).join(', ');
    // a dough of a station is that of its people
    return by === '' || (t.piece === undefined && others.length > 1)
      ? whose
      : `${whose || 'by'} ${whose ? `(${by})` : by}`;
  };
  const when = (t: PlanTask): string => {
    if (t.kind === 'rest')
      return `until ${clockText(workshop, t.endSec)}, at most ${clockText(workshop, t.startSec + t.window.maxSec)}`;
    if (!isOnFire(t)) return '';
    const turns = turnsOf(t).map((turn) => turnWords(workshop, t.startSec, turn));
    return [...turns, `off ${clockText(workshop, t.endSec)}`].join(', ');
  };
  const where = (t: PlanTask): string => (isOnFire(t) || t.kind === 'preheat' ? placeWords(workshop, t) : '');
  return groups.flatMap(({ kind, fromSec, tasks }): readonly PaperLine[] => {
    const [first] = tasks;
    if (!first) return [];
    const bread = workshop.breads.find((b) => b.id === first.bread)?.name;
    const whens = tasks.map(when);
    const isSame = whens.every((w) => w === whens[0]);
    const clock = clockText(workshop, fromSec);
    const each = tasks.map((t, i) => {
      const own = clockText(workshop, t.startSec);
      return [own === clock ? '' : own, who(t), where(t), isSame ? '' : (whens[i] ?? '')].filter(Boolean).join(' ');
    });
    return [
      {
        key: `${clock} ${kind}`,
        clock,
        what: [whatWords(first), isOfBread(first) ? bread : ''].filter(Boolean).join(', '),
        each: each.filter((words) => words !== ''),
        all: isSame ? (whens[0] ?? '') : '',
        care: [...new Set(tasks.flatMap((t) => careLines(workshop, notes.remarks, mindedBy(t), t.bread)))],
      },
    ];
  });
}
