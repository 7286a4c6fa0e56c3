export function exportForWeb(app: string): string;
export function packFiles(folder: string): void;
