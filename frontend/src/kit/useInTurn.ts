import { useMutation, useQueryClient, type QueryKey } from "@tanstack/react-query";
import { useCallback } from "react";

type Act<T> = (now: T) => Promise<T>;

/**
 * What is done to one thing that the server keeps, one press after the other: the next is asked when the one before is answered, from what was
 * told then. Each answer is shown; it rejects with what went wrong.
 */
export function useInTurn<T>(key: QueryKey) {
  const client = useQueryClient();
  const name = JSON.stringify(key);
  const { mutateAsync } = useMutation({
    scope: { id: name },
    networkMode: "always",
    mutationFn: (act: Act<T>) => act(client.getQueryData<T>(JSON.parse(name) as QueryKey)!),
    onSuccess: async (told) => {
      const queryKey = JSON.parse(name) as QueryKey;
      // An answer that was asked for before the press would show it as not done.
      await client.cancelQueries({ queryKey });
      client.setQueryData(queryKey, told);
    },
  });
  return useCallback((act: Act<T>) => mutateAsync(act), [mutateAsync]);
}
