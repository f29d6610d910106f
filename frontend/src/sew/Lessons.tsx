import { useQuery } from "@tanstack/react-query";
import { api, unwrap } from "../api/client";
import { say } from "../words/say";
import { Items, fitted } from "./StepPicture";

const WIDE = 200;
const HIGH = 130;

/** Hand stitches in three small drawings each: those of a step, or all of them. */
export function Lessons({ stitches }: { stitches?: string[] }) {
  const lessons = useQuery({
    queryKey: ["lessons"],
    queryFn: async () => unwrap(await api.GET("/api/lessons")).lessons,
    staleTime: Infinity,
  });
  const shown = (lessons.data ?? []).filter((lesson) => !stitches || stitches.includes(lesson.id));
  return shown.map((lesson) => (
    <details key={lesson.id} className="lesson">
      <summary>
        <strong>{lesson.name}</strong> <small>{lesson.use}</small>
      </summary>
      <ol>
        {lesson.frames.map((frame, i) => (
          <li key={i}>
            <svg
              width={WIDE}
              height={HIGH}
              role="img"
              aria-label={say("lesson-picture", { name: lesson.name, number: i + 1 })}
            >
              <Items frame={frame} place={fitted(frame, WIDE, HIGH)} />
            </svg>
            <p>{frame.caption}</p>
          </li>
        ))}
      </ol>
    </details>
  ));
}
