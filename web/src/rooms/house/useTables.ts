import { useQueryClient } from "@tanstack/react-query";
import { answer, server, type Schemas } from "../../api/client";
import { notify } from "../../shell/notices";

type Changes = Schemas["TableChanges"];

/** Changes the tables of agents, materials, soils and waits, or takes a change back; all that rests on them is asked anew. */
export function useTables() {
  const client = useQueryClient();
  const done = async (text: string) => {
    await client.invalidateQueries();
    notify({ kind: "done", text });
  };
  return {
    change: async (changes: Partial<Changes>, said: string) => {
      await answer(
        server.POST("/api/tables", { body: { materials: [], agents: [], soils: [], waits: [], ...changes } }),
      );
      await done(said);
    },
    takeBack: async (id: string) => {
      await answer(server.DELETE("/api/tables", { params: { query: { id } } }));
      await done("As it shipped.");
    },
  };
}
