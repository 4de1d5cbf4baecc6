import { TriangleAlert } from 'lucide-react';

/** What is to be minded with somebody's food, wherever their name or bread stands; nothing where there is nothing. */
export function Care({ words, className = '' }: { readonly words: string; readonly className?: string }) {
  if (words === '') return null;
  return (
    <span className={`flex items-start gap-1 leading-tight font-semibold text-trouble ${className}`} data-care>
      <TriangleAlert size={15} aria-hidden className="mt-px shrink-0" />
      <span>{words}</span>
    </span>
  );
}
