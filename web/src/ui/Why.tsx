/** Why a field did not take what was typed, under the field itself. */
export function Why({ children }: { readonly children: string }) {
  if (children === '') return null;
  return (
    <span role="alert" className="block max-w-72 text-left text-sm font-semibold whitespace-normal text-trouble">
      {children}
    </span>
  );
}
