import type { Browser } from '@playwright/test';

export declare const CHROMIUM_FLAGS: string[];
export declare const FLAT_FLAGS: string[];
export declare function launchBrowser(): Promise<Browser>;
