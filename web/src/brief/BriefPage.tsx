import { useMission, useOpenMission } from "../model/context";
import { clockWords } from "../model/mission";
import { NumberBox, TextBox } from "../ui/controls";

/** The sheet of the mission: title, author, words, time and water. */
export function BriefPage() {
  const open = useOpenMission();
  const brief = useMission((state) => state.mission.brief);
  const setting = useMission((state) => state.mission.setting);
  const text =
    (field: "title" | "author" | "summary" | "briefing", word: string) => (value: string) =>
      open.edit(`Change the ${word}`, (draft) => {
        draft.brief[field] = value;
      });
  const label = "block pt-3 pb-1 text-[13px] font-bold text-flint";
  return (
    <main className="min-h-0 grow overflow-auto p-4">
      <div className="mx-auto max-w-3xl border border-line bg-slip px-8 py-6 shadow-sm">
        <h2 className="border-b border-hairline pb-2 text-xl font-bold">Brief</h2>
        <label htmlFor="title" className={label}>
          Title
        </label>
        <TextBox
          id="title"
          value={brief.title}
          maxLength={120}
          required
          onTake={text("title", "title")}
        />
        <label htmlFor="author" className={label}>
          Author
        </label>
        <TextBox
          id="author"
          value={brief.author}
          maxLength={120}
          onTake={text("author", "author")}
        />
        <label htmlFor="summary" className={label}>
          Summary, as the shelf shows it
        </label>
        <TextBox
          id="summary"
          value={brief.summary}
          maxLength={1000}
          multiline
          onTake={text("summary", "summary")}
        />
        <label htmlFor="briefing" className={label}>
          Briefing, read by players as they begin
        </label>
        <TextBox
          id="briefing"
          value={brief.briefing}
          maxLength={4000}
          multiline
          onTake={text("briefing", "briefing")}
        />
        <h2 className="mt-6 border-b border-hairline pb-2 text-xl font-bold">Setting</h2>
        <div className="grid grid-cols-2 gap-x-6">
          <div>
            <label htmlFor="time" className={label}>
              Time when play begins
            </label>
            <input
              id="time"
              type="time"
              required
              className="min-h-8 border border-line bg-white/70 px-2"
              value={clockWords(setting.startTime)}
              onChange={(event) => {
                const [hours, minutes] = event.target.value.split(":").map(Number);
                if (Number.isFinite(hours) && Number.isFinite(minutes)) {
                  open.edit(`Begin at ${event.target.value}`, (draft) => {
                    draft.setting.startTime = hours * 3600 + minutes * 60;
                  });
                }
              }}
            />
          </div>
          <div>
            <label htmlFor="water" className={label}>
              Water level
            </label>
            <NumberBox
              id="water"
              unit="m"
              least={-300}
              most={300}
              value={setting.waterLevel}
              onTake={(level) =>
                open.edit(`Water at ${level} m`, (draft) => {
                  draft.setting.waterLevel = level;
                })
              }
            />
          </div>
          <div>
            <label htmlFor="wind" className={label}>
              Wind
            </label>
            <NumberBox
              id="wind"
              unit="m/s"
              least={0}
              most={60}
              value={setting.wind.speed}
              onTake={(speed) =>
                open.edit(`Wind of ${speed} m/s`, (draft) => {
                  draft.setting.wind.speed = speed;
                })
              }
            />
          </div>
          <div>
            <label htmlFor="from" className={label}>
              It blows from
            </label>
            <NumberBox
              id="from"
              unit="°"
              least={0}
              most={360}
              value={setting.wind.from}
              onTake={(from) =>
                open.edit(`Wind from ${from}°`, (draft) => {
                  draft.setting.wind.from = from;
                })
              }
            />
          </div>
        </div>
      </div>
    </main>
  );
}
