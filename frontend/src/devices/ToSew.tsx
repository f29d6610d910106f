import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { DEVICE } from "../api/asking";
import { api, unwrap } from "../api/client";
import { Pages } from "../kit/Pages";
import { Places } from "../kit/Places";
import { ProjectPicture } from "../kit/ProjectPicture";
import { Top } from "../kit/Top";
import { Find } from "../kit/Find";
import { say } from "../words/say";

/** What a device begins with that sews and logs: every make, the latest first, opened at its step. */
export function ToSew() {
  const [words, setWords] = useState("");
  const [page, setPage] = useState(0);
  const table = useQuery({
    queryKey: ["projects", "table", "sewing", words, page],
    queryFn: async () => unwrap(await api.GET("/api/table", { params: { query: { words, page } } })),
    placeholderData: keepPreviousData,
  });
  const shown = table.data;
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home to-sew" aria-busy={table.isLoading}>
        <h1>{say("here-makes")}</h1>
        <p className="zone-sub">{say("here-sews", { device: DEVICE })}</p>
        <div className="find">
          <Find
            label={say("here-find")}
            words={words}
            onWords={(now) => {
              setWords(now);
              setPage(0);
            }}
          />
          <span aria-live="polite">{shown && say("home-found", { count: shown.found })}</span>
        </div>
        <ul className="projects">
          {shown?.projects.map((project) => (
            <li key={project.id} className="project">
              <Link to={`/projects/${project.id}/sew`}>
                <ProjectPicture
                  id={project.id}
                  revision={project.revision}
                  width={190}
                  height={200}
                  label={say("drawn", { name: project.name })}
                />
                <strong>{project.name}</strong>
                <small>{project.sizes}</small>
              </Link>
            </li>
          ))}
        </ul>
        <Pages page={page} pages={shown?.pages ?? 0} onPage={setPage} />
      </main>
    </div>
  );
}
