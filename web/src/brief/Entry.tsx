import type { ReactNode } from "react";

/** A field of the sheet under its heading. */
export function Entry({
  label,
  htmlFor,
  children,
}: {
  label: string;
  htmlFor: string;
  children: ReactNode;
}) {
  return (
    <div>
      <label htmlFor={htmlFor} className="block pt-3 pb-1 text-small font-bold text-flint">
        {label}
      </label>
      {children}
    </div>
  );
}

/** A heading of the sheet. */
export function Heading({ children }: { children: ReactNode }) {
  return <h2 className="mt-6 border-b border-hairline pb-2 text-xl font-bold">{children}</h2>;
}
