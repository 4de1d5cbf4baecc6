import { findFood } from '../../foods/index.ts';
import { actionsIn } from '../actions.ts';
import { itemsOf } from '../items.ts';
import { Mapped } from '../mapped.ts';
import { normalLine } from '../normal-line.ts';
import { cellsIn, fullestOf, OF_NUMBER, type ReadRows } from './cells.ts';
import { STAGE_ALONE } from '../told-words.ts';

/** What a column of a table of stages holds. */
type Role = 'stage' | 'minutes' | 'seconds' | 'degrees' | 'number' | 'clock' | 'detail';

const BARE = /^\d+(?:[.,]\d+)?(?: ?[+/] ?\d+(?:[.,]\d+)?)?$/;
/** "Cook, per side": behind its time it tells of what. */
const OF_A_SIDE = /[, (]+(?:on |for )?(?:per|a|each|both) sides?\)?$/i;
const TIME = /\d ?(?:min|h\b|hours?|s\b|sec)/i;
/** A cell that tells a time, and nothing more. */
const TIME_ALONE = /^(?:about |ca\.? )?\d[\d.,–-]* ?(?:min(?:ute)?s?|h(?:ours?)?|s|sec(?:ond)?s?)\.?$/i;
/** "One fold at 40 min", "add salt after 2 min": a time within that of its stage. */
const IS_WITHIN =
  /\bfold(?:s|ed|ing)?\b|^(?:add(?:ing)? )?(?:the )?\p{L}+(?: in)? (?:after|at) \d+ ?min(?:ute)?s?\.?$/iu;
const CLOCK = /^\d{1,2}[:.]\d{2}$/;
const OF_STAGE = /^(?:stages?|steps?|what|process|work|operation|task|activity|phase|do|do this|method)?$/i;
const OF_MINUTES = /^(?:min(?:ute)?s?|(?:time|duration|how long)(?: ?\(?(?:in )?min(?:ute)?s?\)?)?)\.?$/i;
const OF_SECONDS = /^(?:s|sec(?:ond)?s?|time \(s\))\.?$/i;
const OF_DEGREES = /°|^temp/i;
const OF_DETAIL = /^(?:details?|parameters?|settings?|notes?|how|remarks?|comments?|who|by|where|place|description)$/i;
/** What is divided, rolled or shaped is told before how long that takes. */
const SIZED = /^(?:divid|scal|portion|roll|shap|press|stretch|pin|sheet)/i;
const LEAST_STAGES = 3;
const LONGEST_STAGE = 4;

/** A cell that names one stage, and says no more. */
export const isStage = (cell: string): boolean =>
  STAGE_ALONE.test(cell) ||
  (/^\p{L}[\p{L} -]*$/u.test(cell) &&
    cell.split(' ').length <= LONGEST_STAGE &&
    actionsIn(normalLine(cell)).length === 1);
export const isStageRow = (cells: readonly string[]): boolean => cells.length > 1 && cells.slice(0, 3).some(isStage);

/**
 * The lines of a table whose rows are stages of the work, each a stage with its time and what is said of it, by what its columns hold; how
 * long all hands take is left where the row tells the time of its own work. Undefined where rows that neighbour each other are no such table.
 */
export function stageRows(rows: readonly Mapped[]): ReadRows | undefined {
  // a dash says that there is none
  const cells = rows.map((row) => cellsIn(row).map((c) => (/^[–—-]+$/.test(c.text) ? c.slice(0, 0) : c)));
  const texts = cells.map((row) => row.map((c) => c.text));
  const [head] = texts;
  const hasHead = head !== undefined && isStageHead(head);
  const body = texts.slice(hasHead ? 1 : 0);
  const width = Math.max(0, ...texts.map((row) => row.length));
  const count = (column: number): number => body.filter((row) => isStage(row[column] ?? '')).length;
  const stageAt = fullestOf(width, count);
  // "Divide into 10, ball" beside "Mix" and "Knead": under a head each row may say more of its work
  const isWork = (row: readonly string[]): boolean => actionsIn(normalLine(row[stageAt] ?? '')).length > 0;
  const isOfStages = 2 * count(stageAt) >= body.length || (hasHead && body.every(isWork));
  if (count(stageAt) < LEAST_STAGES || !isOfStages || width < 2) return undefined;
  // a head leaves out what stands over the stages, or over their numbers
  const short = hasHead ? Math.max(0, Math.min(width - head.length, stageAt + 1)) : 0;
  const roles = Array.from({ length: width }, (_, c) =>
    roleOf(c, stageAt, body, hasHead ? (head[c - short] ?? '') : undefined),
  );
  const read = rows.map((row, n): ReadRows =>
    n === 0 && hasHead
      ? { lines: [row.replace(/^.*$/su, 'Method:')], left: [], again: [] }
      : rowOf(row, cells[n] ?? [], roles),
  );
  return { lines: read.flatMap((r) => r.lines), left: read.flatMap((r) => r.left), again: [] };
}

/** Words over columns, half of them known, of which none is a stage that is told. */
export const isStageHead = (cells: readonly string[]): boolean => {
  const known = cells.filter((c) =>
    [OF_STAGE, OF_MINUTES, OF_SECONDS, OF_DEGREES, OF_DETAIL, OF_NUMBER].some((of) => of.test(c)),
  );
  return !cells.some((c) => /\d/.test(c)) && 2 * known.length >= cells.length && known.some((c) => c !== '');
};

function roleOf(column: number, stageAt: number, body: readonly (readonly string[])[], head: string | undefined): Role {
  const values = body.map((row) => row[column] ?? '');
  const told = values.filter((v) => v !== '');
  if (column === stageAt) return 'stage';
  if (told.length > 0 && told.every((v) => CLOCK.test(v))) return 'clock';
  if (!told.every((v) => BARE.test(v)) || told.length === 0) return 'detail';
  if (column < stageAt && values.every((v, n) => v === String(n + 1))) return 'number';
  if (head !== undefined && OF_SECONDS.test(head)) return 'seconds';
  if (head !== undefined && OF_DEGREES.test(head)) return 'degrees';
  return head === undefined || OF_MINUTES.test(head) ? 'minutes' : 'detail';
}

/** "flour 1000, water 650": what goes in at a stage, in bare figures of grams. */
const BARE_ENTRY = /^\p{L}[\p{L} ]{1,24} \d{1,4}(?:[.,]\d)?$/u;
const isBareList = (text: string): boolean => {
  const parts = text.split(/, | \+ /);
  return text !== '' && parts.every((p) => BARE_ENTRY.test(p) && findFood(p) !== undefined);
};
const inGrams = (list: Mapped): Mapped => list.replace(/(?<=\d)(?=, | \+ |$)/g, ' g');
/** "Add salt 20, starter 200": the entries, and the stage without their figures. */
function addedIn(stage: Mapped): { readonly list: Mapped; readonly stage: Mapped } | undefined {
  const [verb] = /^(?:then )?(?:add|mix in|knead in|work in) /i.exec(stage.text) ?? [];
  const list = stage.slice(verb?.length ?? 0);
  if (verb === undefined || !isBareList(list.text)) return undefined;
  return { list: inGrams(list), stage: stage.replace(/ \d{1,4}(?:[.,]\d)?(?=, | \+ |$)/g, '') };
}

/** What names a part of a list, or says how many, in the column of the stages. */
const LABELS = /^(?:topping|filling|glaze|dip|layers?|yields?|makes|quantity|pieces|bread|name|product)$/i;

/** One stage as a line: its time behind it, what is said of it behind that. */
function rowOf(row: Mapped, cells: readonly Mapped[], roles: readonly Role[]): ReadRows {
  const at = (role: Role): Mapped | undefined => cells.find((c, n) => roles[n] === role && c.text !== '');
  const stage = at('stage');
  const all = cells.filter((c, n) => roles[n] !== 'number' && c.text !== '');
  // a list within a row is read as such
  if (all.some((c) => itemsOf(c).length > 2)) return { lines: [row], left: [], again: [] };
  const [label, of] = all;
  // "Topping | za'atar 80 g, olive oil 120 g", "Yield | 12 × 110 g"
  if (label && of && all.length === 2 && LABELS.test(label.text))
    return { lines: [Mapped.join([label, of], ': ')], left: [], again: [] };
  const added = stage ? addedIn(stage) : undefined;
  if (stage && added) {
    const rest = rowOf(
      row,
      cells.map((c) => (c === stage ? added.stage : c)),
      roles,
    );
    return { ...rest, lines: [added.list, ...rest.lines] };
  }
  const listAt = cells.findIndex((c) => c !== stage && isBareList(c.text));
  const list = cells[listAt];
  if (stage && list) {
    const rest = rowOf(
      row,
      cells.map((c) => (c === list ? c.slice(0, 0) : c)),
      roles,
    );
    return { ...rest, lines: [inGrams(list), ...rest.lines] };
  }
  if (!stage) return { lines: all.length > 0 ? [Mapped.join(all, '  ')] : [], left: [], again: [] };
  const figure = at('minutes') ?? at('seconds');
  const bare = figure?.replace(/ ?\/ ?/, ' + ').replace(/$/, figure === at('minutes') ? ' min' : ' s');
  const others = cells.flatMap((c, n) =>
    c.text === '' ? [] : roles[n] === 'detail' ? [c] : roles[n] === 'degrees' ? [c.replace(/$/, ' °C')] : [],
  );
  // "Cook | 2 min | 60 s each side": of two times that of the bread, not of the hands
  const timed = bare ? [bare] : others.filter((c) => TIME_ALONE.test(c.text)).slice(0, 1);
  const details = others.filter((c) => !timed.includes(c));
  const isTimed = TIME.test(stage.text) || details.some((c) => TIME.test(c.text) && !IS_WITHIN.test(c.text));
  const time = isTimed ? [] : timed;
  const [first, ...more] = details;
  // "Divide into 8 (4 min)", "Mix 3 + 5 min", "Knead 7 min, on the table"
  const isOwn = first !== undefined && (SIZED.test(stage.text) || (time.length === 0 && /^\d/.test(first.text)));
  const parts = isOwn ? [first, ...time.map((t) => t.replace(/^(.*)$/, '($1)'))] : time;
  const behind = isOwn ? more : details;
  const clock = at('clock');
  const side = parts.length > 0 ? OF_A_SIDE.exec(stage.text) : null;
  const told = side
    ? [stage.slice(0, side.index), ...parts, stage.slice(side.index).replace(/^[, (]+|\)$/g, '')]
    : [stage, ...parts];
  const line = Mapped.join([...(clock ? [clock] : []), ...told]);
  const figures = cells.filter((c, n) => c.text !== '' && (roles[n] === 'minutes' || roles[n] === 'seconds'));
  return {
    lines: [behind.length > 0 ? Mapped.join([line, ...behind], ', ') : line],
    left: [...figures.filter((c) => c !== figure || isTimed), ...(isTimed && !figure ? timed : [])].map((c) =>
      c.replace(/^/, `${stage.text}: `),
    ),
    again: [],
  };
}
