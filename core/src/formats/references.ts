import { fault, type Fault } from '../faults/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import type { Bread, Workshop } from '../workshop/index.ts';

const at = (base: string, path: string): string => (base === '' ? path : `${base}.${path}`);

/** A fault for each id that its list holds already. */
function repeated(list: readonly { readonly id: string }[], path: string): readonly Fault[] {
  const seen = new Set<string>();
  return list.flatMap(({ id }, i) => {
    if (seen.has(id)) return [fault('duplicate-id', `${path}[${i}].id`, { id })];
    seen.add(id);
    return [];
  });
}

/** A fault where `id` is none of `known`. */
function unknown(
  known: ReadonlySet<string>,
  id: string | undefined,
  path: string,
  what: string,
  owner: string,
): readonly Fault[] {
  return id === undefined || known.has(id) ? [] : [fault('unknown-id', path, { id, what, owner })];
}

const ids = (list: readonly { readonly id: string }[]): ReadonlySet<string> => new Set(list.map((x) => x.id));

/** Repeated ids of a kitchen. */
export function faultsOfKitchenIds(k: Kitchen, base: string): readonly Fault[] {
  return (['benches', 'griddles', 'grills', 'flames', 'mixers', 'places', 'staff'] as const).flatMap((key) =>
    repeated(k[key], at(base, key)),
  );
}

/** References inside one bread: steps that ingredients and side jobs name. */
export function faultsOfBreadReferences(b: Bread, base: string): readonly Fault[] {
  const steps = ids(b.steps);
  const chain = ids(b.steps.filter((s) => s.kind !== 'prepare'));
  return [
    ...repeated(b.steps, at(base, 'steps')),
    ...b.ingredients.flatMap((i, n) =>
      unknown(steps, i.step, at(base, `ingredients[${n}].step`), `a step of ${b.id}`, i.name),
    ),
    ...b.steps.flatMap((s, n) =>
      s.kind === 'prepare'
        ? unknown(chain, s.before, at(base, `steps[${n}].before`), `a step of the chain of ${b.id}`, s.id)
        : [],
    ),
  ];
}

/** Every reference of a workshop that leads nowhere, and every repeated id. */
export function faultsOfReferences(w: Workshop): readonly Fault[] {
  const breads = ids(w.breads);
  const people = ids(w.roster);
  const griddles = ids(w.kitchen.griddles);
  const steps = new Map(w.breads.map((b) => [b.id, ids(b.steps)]));
  const lines = new Set(w.menu.map((m) => m.bread));
  const staff = ids(w.kitchen.staff);
  return [
    ...faultsOfKitchenIds(w.kitchen, 'kitchen'),
    ...repeated(w.breads, 'breads'),
    ...repeated(w.roster, 'roster'),
    // a task names its people by id alone, so staff and participants share one list of ids
    ...w.roster.flatMap((p, i) => (staff.has(p.id) ? [fault('duplicate-id', `roster[${i}].id`, { id: p.id })] : [])),
    ...repeated(w.stations, 'stations'),
    ...w.kitchen.griddles.flatMap((g, i) =>
      Object.keys(g.spots ?? {}).flatMap((id) =>
        unknown(breads, id, `kitchen.griddles[${i}].spots.${id}`, 'a bread', g.id),
      ),
    ),
    ...w.breads.flatMap((b, i) => [
      ...faultsOfBreadReferences(b, `breads[${i}]`),
      ...unknown(breads, b.variantOf, `breads[${i}].variantOf`, 'a bread', b.id),
    ]),
    ...w.stations.flatMap((s, i) => [
      ...unknown(ids(w.kitchen.benches), s.bench, `stations[${i}].bench`, 'a bench', s.id),
      ...s.members.flatMap((m, n) =>
        unknown(people, m, `stations[${i}].members[${n}]`, 'somebody on the roster', s.id),
      ),
      ...(s.griddles ?? []).flatMap((g, n) => unknown(griddles, g, `stations[${i}].griddles[${n}]`, 'a griddle', s.id)),
    ]),
    ...w.menu.flatMap((m, i) => [
      ...unknown(breads, m.bread, `menu[${i}].bread`, 'a bread', ''),
      ...(m.for ?? []).flatMap((p, n) => unknown(people, p, `menu[${i}].for[${n}]`, 'somebody on the roster', m.bread)),
      ...(m.dough.mode === 'station'
        ? []
        : unknown(
            steps.get(m.bread) ?? new Set(),
            m.dough.through,
            `menu[${i}].dough.through`,
            `a step of ${m.bread}`,
            m.bread,
          )),
      ...(m.dough.mode === 'swap'
        ? unknown(
            steps.get(m.bread) ?? new Set(),
            m.dough.practice,
            `menu[${i}].dough.practice`,
            `a step of ${m.bread}`,
            m.bread,
          )
        : []),
    ]),
    ...w.demos.flatMap((d, i) => [
      ...unknown(lines, d.bread, `demos[${i}].bread`, 'a bread on the menu', ''),
      ...(lines.has(d.bread)
        ? unknown(steps.get(d.bread) ?? new Set(), d.before, `demos[${i}].before`, `a step of ${d.bread}`, d.bread)
        : []),
      ...unknown(ids(w.stations), d.from, `demos[${i}].from`, 'a station', d.bread),
    ]),
  ];
}
