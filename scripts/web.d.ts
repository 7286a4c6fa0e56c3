export function exportForWeb(app: string): string;
export function shortenScripts(folder: string, but?: readonly string[]): Promise<void>;
export function packFiles(folder: string): Promise<void>;
