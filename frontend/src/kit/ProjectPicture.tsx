import { useQuery } from "@tanstack/react-query";
import { api, unwrap } from "../api/client";
import { FormPicture } from "./FormPicture";

interface Props {
  id: string;
  revision: number;
  width: number;
  height: number;
  label: string;
}

/** A project drawn small. Of one revision it is asked for once, and kept by the browser. */
export function ProjectPicture({ id, revision, width, height, label }: Props) {
  const query = useQuery({
    queryKey: ["picture", id, revision],
    queryFn: async () =>
      unwrap(await api.GET("/api/projects/{id}/picture", { params: { path: { id }, query: { revision } } })),
    staleTime: Infinity,
  });
  const picture = query.data;
  // Its place is kept free, so that nothing moves when it comes.
  if (!picture) return <svg width={width} height={height} aria-hidden />;
  return (
    <FormPicture
      facets={picture.facets}
      carried={picture.carried}
      object={picture.object}
      width={width}
      height={height}
      label={label}
    />
  );
}
