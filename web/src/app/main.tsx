import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Toaster } from "sonner";
import { Route, Switch } from "wouter";
import { beginLooks } from "../looks/looks";
import { ShelfPage } from "../shelf/ShelfPage";
import { Boundary } from "../ui/Boundary";
import { Tips } from "../ui/Tip";
import { MissionPage } from "./MissionPage";
import "./styles.css";

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

beginLooks();

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Boundary safe={() => "Edits that were made are stored, or wait in this browser to be."}>
          <Tips>
            <Switch>
              <Route path="/missions/:id/:tab?">
                {({ id, tab }) => <MissionPage key={id} id={id} tab={tab ?? "ground"} />}
              </Route>
              <Route>
                <ShelfPage />
              </Route>
            </Switch>
          </Tips>
        </Boundary>
        <Toaster
          position="bottom-center"
          // Above the tray, which is often what is wanted next.
          offset={{ bottom: 124 }}
          toastOptions={{ className: "font-sans" }}
        />
      </QueryClientProvider>
    </StrictMode>,
  );
}
