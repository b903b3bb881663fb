export declare const ROOT: string;
export declare const SERVER: readonly string[];
export declare function bundle(program: string, outfile: string, options?: string[]): void;
export declare function checkNode(version?: string): void;
