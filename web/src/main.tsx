import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { onSignedOut } from "./api/client";
import { hereQuery } from "./api/people";
import { queries } from "./api/queries";
import "./index.css";
import { router } from "./routes";

onSignedOut(() => void queries.invalidateQueries({ queryKey: hereQuery.queryKey }));

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
