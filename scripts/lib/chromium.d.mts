export declare const CHROMIUM_MISSING: string;
export declare const chromiumPath: (which?: { whole?: boolean }) => string;
export declare function installChromium(): boolean;
