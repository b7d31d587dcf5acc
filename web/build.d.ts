/** When this build was made. */
declare const __BUILD__: string;
