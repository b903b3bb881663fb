export declare const CHROMIUM_MISSING: string;
export declare const chromiumPath: () => string;
export declare function installChromium(): boolean;
