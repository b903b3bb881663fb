export declare function freePort(from?: number): Promise<number>;
