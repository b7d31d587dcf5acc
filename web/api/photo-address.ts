import { API_AT } from './at-moment.ts';

export const photoAddress = (id: string): string => `${API_AT}/photos/${id}/image`;
