import type { ReactNode } from 'react';

/** A white page, as it comes out of the printer. */
export function PrintPage({ children }: { children: ReactNode }) {
  return (
    <main className="mx-auto min-h-screen max-w-225 bg-white p-6 text-ink print:p-0 [&_:is(td,th)]:border-b [&_:is(td,th)]:border-rule [&_:is(td,th)]:px-1.5 [&_:is(td,th)]:py-0.5 [&_:is(td,th)]:text-left [&_:is(td,th)]:align-top [&_h1]:text-2xl/[1.1] [&_h1]:font-black [&_h2]:mt-4 [&_h2]:mb-1.5 [&_h2]:text-lg/[1.1] [&_h2]:font-extrabold [&_section]:break-inside-avoid max-sm:[&_table]:block max-sm:[&_table]:overflow-x-auto [&_table]:w-full [&_table]:border-collapse [&_ul]:my-0.5 [&_ul]:list-disc [&_ul]:columns-[2_300px] [&_ul]:pl-5">
      {children}
    </main>
  );
}
