import { Outlet } from "react-router";
import { useServerEvents } from "./events";
import { NoticeBar } from "./NoticeBar";

/** What stands round the page of a phone beside the bench: no places to go, only what was said and what waits. */
export function PhoneFrame() {
  useServerEvents();
  return (
    <div className="bg-mat flex h-dvh flex-col">
      <Outlet />
      <NoticeBar />
    </div>
  );
}
