import { BookOpen, FileText, Library, ListTree, Mountain, Play, SunMoon } from "lucide-react";
import { Link } from "wouter";
import { useFindings } from "../checks/findings";
import { PANE } from "../desk/panes";
import { LooksMenu } from "../looks/LooksMenu";

const TABS = [
  { tab: "brief", word: "Brief", icon: FileText },
  { tab: "ground", word: "Ground", icon: Mountain },
  { tab: "catalogue", word: "Catalogue", icon: BookOpen },
  { tab: "script", word: "Script", icon: ListTree },
  { tab: "trial", word: "Trial", icon: Play },
] as const;

/** Whether a mission has a page of that name. */
export function isPage(tab: string): boolean {
  return TABS.some((it) => it.tab === tab);
}

/** Index tabs in the order of the work, each with its number of open checks. */
export function Spine({ id, tab }: { id: string; tab: string }) {
  const findings = useFindings();
  return (
    <nav
      {...PANE}
      aria-label="Mission"
      className="flex w-16 shrink-0 flex-col overflow-y-auto bg-hud-2 text-hud-ink"
    >
      <Link
        href="/"
        className="flex flex-col items-center gap-1 py-3 text-small hover:bg-hud-hover focus-visible:outline-hud-ink"
      >
        <img src="/flint.svg" alt="" className="h-7 w-7" />
        <span className="flex items-center gap-1">
          <Library size="0.75rem" aria-hidden="true" /> Shelf
        </span>
      </Link>
      {TABS.map(({ tab: to, word, icon: Icon }) => {
        const open = findings.filter(({ area }) => area === to).length;
        return (
          <Link
            key={to}
            href={`/missions/${id}/${to}`}
            aria-current={tab === to ? "page" : undefined}
            className="relative flex flex-col items-center gap-1 border-l-3 border-transparent py-2.5 text-small hover:bg-hud-hover focus-visible:outline-hud-ink aria-[current]:border-hud-good aria-[current]:bg-hud-hover aria-[current]:text-hud-ink"
          >
            <Icon size="1.25rem" aria-hidden="true" />
            {word}
            {open > 0 && (
              <span className="absolute right-2 top-1 min-w-4.5 rounded-full bg-hud-alarm px-1 text-center text-xs font-bold text-hud-ink">
                {open}
                <span className="sr-only">{open === 1 ? " check" : " checks"}</span>
              </span>
            )}
          </Link>
        );
      })}
      <LooksMenu
        side="right"
        trigger={
          <button
            type="button"
            className="mt-auto flex flex-col items-center gap-1 py-2.5 text-small hover:bg-hud-hover focus-visible:outline-hud-ink"
          >
            <SunMoon size="1.125rem" aria-hidden="true" /> Looks
          </button>
        }
      />
    </nav>
  );
}
