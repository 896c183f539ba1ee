// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeAll, describe, expect, it, vi } from "vitest";
import { OptionList, Token } from "../sentence/Picker";
import { Button, NumberBox, TextBox } from "./controls";
import { Menu, MenuItem } from "./Menu";
import { Modal } from "./Modal";
import { TabList, TabPanel, Tabs } from "./Tabs";
import { Tip, Tips } from "./Tip";

beforeAll(() => {
  // What jsdom lacks and the primitives ask for.
  Element.prototype.scrollIntoView = () => {};
  Element.prototype.hasPointerCapture = () => false;
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const TABS = [
  { tab: "sea", word: "Sea" },
  { tab: "moor", word: "Moor" },
  { tab: "fen", word: "Fen" },
] as const;

function Page() {
  const [open, setOpen] = useState<"sea" | "moor" | "fen">("sea");
  return (
    <Tabs open={open} onOpen={setOpen}>
      <TabList label="Where" look="line" tabs={TABS} />
      <TabPanel tab={open}>About the {open}.</TabPanel>
    </Tabs>
  );
}

const OPTIONS = [
  { value: "wharf", word: "Gannet wharf", group: "Zones" },
  { value: "bell", word: "The bell", group: "Fixtures" },
  { value: "bellows", word: "Bellows", group: "Fixtures" },
];

function Choosing(props: { search: boolean; onChoose: (value: string) => void }) {
  return (
    <Token
      label="Where"
      content={(close) => (
        <OptionList
          label="Places"
          options={OPTIONS}
          chosen="bell"
          search={props.search}
          onChoose={(value) => {
            props.onChoose(value);
            close();
          }}
        />
      )}
    >
      somewhere
    </Token>
  );
}

function Asking() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Ask</Button>
      {open && (
        <Modal title="Sure?" says="It can be undone." width="" onClose={() => setOpen(false)}>
          <Button>Yes</Button>
          <Button>No</Button>
        </Modal>
      )}
    </>
  );
}

function Named(props: { onTake: (value: string) => void; value?: string; required?: boolean }) {
  return (
    <TextBox
      label="Name"
      value={props.value ?? "Rook"}
      maxLength={20}
      required={props.required}
      onTake={props.onTake}
    />
  );
}

describe("tabs", () => {
  it("goes from tab to tab by arrows, and opens one by Enter", async () => {
    render(<Page />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("tab", { name: "Sea" }));
    await user.keyboard("{ArrowRight}{ArrowRight}");
    expect(screen.getByRole("tab", { name: "Fen" })).toBe(document.activeElement);
    expect(screen.getByRole("tabpanel").textContent).toBe("About the sea.");
    await user.keyboard("{Enter}");
    expect(screen.getByRole("tabpanel").textContent).toBe("About the fen.");
    expect(screen.getByRole("tab", { selected: true }).textContent).toBe("Fen");
  });

  it("names its panel by the tab that is open", () => {
    render(<Page />);
    expect(screen.getByRole("tabpanel", { name: "Sea" })).toBeDefined();
  });
});

describe("a list to choose from", () => {
  it("begins at what stands there, and takes another by arrows and Enter", async () => {
    const chosen = vi.fn();
    render(<Choosing search={false} onChoose={chosen} />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Where" }));
    expect(screen.getByRole("option", { selected: true }).textContent).toBe("The bell");
    await user.keyboard("{ArrowDown}{Enter}");
    expect(chosen.mock.calls).toEqual([["bellows"]]);
    expect(screen.queryByRole("listbox")).toBeNull();
    expect(screen.getByRole("button", { name: "Where" })).toBe(document.activeElement);
  });

  it("is one of several beside each other, which Tab goes through", async () => {
    const chosen = vi.fn();
    render(
      <Token
        label="Who"
        content={() =>
          ["How many", "Of whom", "Where"].map((label) => (
            <OptionList key={label} label={label} options={OPTIONS} onChoose={chosen} />
          ))
        }
      >
        somebody
      </Token>,
    );
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Who" }));
    await user.keyboard("{Tab}{ArrowDown}{Enter}");
    expect(chosen.mock.calls).toEqual([["bell"]]);
    const second = screen.getByRole("listbox", { name: "Of whom" });
    expect(document.activeElement?.contains(second)).toBe(true);
  });

  it("finds by what is typed, the beginning of the name first", async () => {
    const chosen = vi.fn();
    render(<Choosing search onChoose={chosen} />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Where" }));
    await user.keyboard("bell");
    expect(screen.getAllByRole("option").map((it) => it.textContent)).toEqual([
      "Bellows",
      "The bell",
    ]);
    await user.keyboard("{Enter}");
    expect(chosen.mock.calls).toEqual([["bellows"]]);
  });

  it("says that nothing fits, and then Enter does nothing", async () => {
    const chosen = vi.fn();
    render(<Choosing search onChoose={chosen} />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Where" }));
    await user.keyboard("unicorn{Enter}");
    expect(screen.getByText("Nothing of that name.")).toBeDefined();
    expect(chosen).not.toHaveBeenCalled();
  });

  it("is laid aside by Esc with nothing chosen", async () => {
    const chosen = vi.fn();
    render(<Choosing search onChoose={chosen} />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Where" }));
    await user.keyboard("gan{Escape}");
    expect(screen.queryByRole("listbox")).toBeNull();
    expect(chosen).not.toHaveBeenCalled();
  });
});

describe("a menu", () => {
  it("does what is chosen by keys, once, and gives the focus back", async () => {
    const deed = vi.fn();
    render(
      <Menu trigger={<Button>More</Button>}>
        <MenuItem onSelect={() => deed("up")}>Move up</MenuItem>
        <MenuItem disabled onSelect={() => deed("never")}>
          Not now
        </MenuItem>
        <MenuItem onSelect={() => deed("down")}>Move down</MenuItem>
      </Menu>,
    );
    const user = userEvent.setup();
    screen.getByRole("button", { name: "More" }).focus();
    await user.keyboard("{Enter}{ArrowDown}{Enter}");
    expect(deed.mock.calls).toEqual([["down"]]);
    expect(screen.getByRole("button", { name: "More" })).toBe(document.activeElement);
  });
});

describe("a dialog", () => {
  it("keeps the focus within, and gives it back when Esc closes it", async () => {
    render(<Asking />);
    const user = userEvent.setup();
    await user.click(screen.getByRole("button", { name: "Ask" }));
    const dialog = screen.getByRole("dialog", { name: "Sure?" });
    for (let i = 0; i < 4; i++) {
      await user.tab();
      expect(dialog.contains(document.activeElement)).toBe(true);
    }
    await user.keyboard("{Escape}");
    expect(screen.queryByRole("dialog")).toBeNull();
    const ask = screen.getByRole("button", { name: "Ask" });
    await vi.waitFor(() => expect(ask).toBe(document.activeElement));
  });
});

describe("a tip", () => {
  const tipped = (says: string | undefined) => (
    <Tips>
      <Tip says={says}>
        <Button aria-label="Zoom in">+</Button>
      </Tip>
    </Tips>
  );
  const show = (says: string | undefined) => render(tipped(says));

  it("describes its control while that has the focus", async () => {
    show("Zoom in (Plus)");
    await userEvent.setup().tab();
    const control = screen.getByRole("button", { name: "Zoom in" });
    const by = control.getAttribute("aria-describedby") ?? "";
    expect(document.getElementById(by)?.textContent).toBe("Zoom in (Plus)");
    act(() => control.blur());
    expect(screen.queryByRole("tooltip")).toBeNull();
  });

  it("leaves the control and its focus as they are while there is nothing to say", async () => {
    const { rerender } = show(undefined);
    await userEvent.setup().tab();
    const control = screen.getByRole("button", { name: "Zoom in" });
    expect(control).toBe(document.activeElement);
    expect(screen.queryByRole("tooltip")).toBeNull();
    rerender(tipped("Zoom in (Plus)"));
    expect(control).toBe(document.activeElement);
    expect(control.isConnected).toBe(true);
  });
});

describe("a text box", () => {
  it("takes what was typed once, after a pause, and not again when it is left", () => {
    vi.useFakeTimers();
    const take = vi.fn();
    render(<Named onTake={take} />);
    const box = screen.getByRole("textbox", { name: "Name" });
    fireEvent.focus(box);
    fireEvent.change(box, { target: { value: "Roo" } });
    fireEvent.change(box, { target: { value: "Rooks " } });
    expect(take).not.toHaveBeenCalled();
    act(() => vi.advanceTimersByTime(1000));
    fireEvent.blur(box);
    expect(take.mock.calls).toEqual([["Rooks"]]);
  });

  it("gives back with Esc what stood there before", async () => {
    const take = vi.fn();
    render(<Named onTake={take} />);
    const user = userEvent.setup();
    const box = screen.getByRole<HTMLInputElement>("textbox", { name: "Name" });
    await user.type(box, "ery{Escape}");
    expect(box.value).toBe("Rook");
    await user.tab();
    expect(take).not.toHaveBeenCalled();
  });

  it("does not take nothing where something is needed", async () => {
    const take = vi.fn();
    render(<Named onTake={take} required />);
    const user = userEvent.setup();
    const box = screen.getByRole<HTMLInputElement>("textbox", { name: "Name" });
    await user.clear(box);
    await user.tab();
    expect(take).not.toHaveBeenCalled();
    expect(box.value).toBe("Rook");
  });

  it("is not overwritten from elsewhere while it is typed in", async () => {
    const take = vi.fn();
    const { rerender } = render(<Named onTake={take} />);
    const user = userEvent.setup();
    const box = screen.getByRole<HTMLInputElement>("textbox", { name: "Name" });
    await user.type(box, "s");
    rerender(<Named onTake={take} value="Crow" />);
    expect(box.value).toBe("Rooks");
    await user.tab();
    expect(take.mock.calls).toEqual([["Rooks"]]);
  });

  it("takes what was typed when it goes away under the hands", async () => {
    const take = vi.fn();
    const { unmount } = render(<Named onTake={take} />);
    await userEvent.setup().type(screen.getByRole("textbox", { name: "Name" }), "s");
    unmount();
    expect(take.mock.calls).toEqual([["Rooks"]]);
  });
});

describe("a number box", () => {
  const show = (take: (value: number) => void) =>
    render(<NumberBox label="Width" value={4} unit="m" least={1} most={50} onTake={take} />);

  it("takes a little arithmetic when Enter is pressed, and says what it understands", async () => {
    const take = vi.fn();
    show(take);
    const user = userEvent.setup();
    await user.click(screen.getByRole("textbox", { name: "Width" }));
    await user.keyboard("2*6");
    expect(screen.getByRole("status").textContent).toBe("= 12 m");
    await user.keyboard("{Enter}");
    expect(take.mock.calls).toEqual([[12]]);
  });

  it("takes any bearing where it goes once round", async () => {
    const take = vi.fn();
    render(<NumberBox label="Faces" value={0} unit="°" least={0} most={359} onTake={take} />);
    const user = userEvent.setup();
    for (const typed of ["-90", "450"]) {
      await user.click(screen.getByRole("textbox", { name: "Faces" }));
      await user.keyboard(`${typed}{Enter}`);
    }
    expect(take.mock.calls).toEqual([[270], [90]]);
  });

  it("says its bounds and takes nothing beyond them", async () => {
    const take = vi.fn();
    show(take);
    const user = userEvent.setup();
    const box = screen.getByRole<HTMLInputElement>("textbox", { name: "Width" });
    await user.click(box);
    await user.keyboard("51");
    expect(screen.getByRole("alert").textContent).toContain("1 to 50");
    await user.tab();
    expect(take).not.toHaveBeenCalled();
    expect(box.value).toBe("4");
  });
});
