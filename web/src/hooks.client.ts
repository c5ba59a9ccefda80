import type { HandleClientError } from '@sveltejs/kit';

/** Shows a refusal in the server's own words instead of a bare "Internal Error". */
export const handleError: HandleClientError = ({ error, message }) => ({
  message: error instanceof Error ? error.message : message
});
