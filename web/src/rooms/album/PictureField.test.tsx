import { fireEvent, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { expect, it } from "vitest";
import { answering, atTheBench, named } from "../../testing/atTheBench";
import { PictureField } from "./PictureField";

function Field() {
  const [name, setName] = useState("");
  return <PictureField label="Picture" value={name} onChange={setName} />;
}

const choose = (file: File) =>
  fireEvent.change(screen.getByLabelText("Picture: file"), { target: { files: [file] } });

it("shows a picture once it is kept, and takes it away again", async () => {
  atTheBench(<Field />);
  answering({ "POST /api/pictures": { name: "ring.jpg" } });
  choose(new File(["x"], "ring.jpg", { type: "image/jpeg" }));
  await waitFor(() =>
    expect(screen.getByRole("img", { name: "Picture" }).getAttribute("src")).toBe(
      "/api/pictures/ring.jpg/small",
    ),
  );
  fireEvent.click(named("button", "Remove the picture"));
  expect(screen.queryByRole("img")).toBeNull();
});

it("says why a picture is not taken, and keeps what was there", async () => {
  atTheBench(<Field />);
  const huge = new File(["x"], "huge.jpg", { type: "image/jpeg" });
  Object.defineProperty(huge, "size", { value: 26 * 1024 * 1024 });
  choose(huge);
  expect(await screen.findByText(/“huge.jpg” is 26 MB/)).toBeTruthy();
  expect(screen.queryByRole("img")).toBeNull();
});
