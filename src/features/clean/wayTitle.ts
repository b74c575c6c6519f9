import type { Way } from '@/core';

/** What a way is called: its formula or its method, and the route where there are two to one end. */
export const wayTitle = ({ name, method }: Way): string => (method.route ? `${name}, ${method.route}` : name);
