/** Where the settings used last are remembered for the next new bag. */
export const LAST_SETTINGS_KEY = 'ruelle.settings';
