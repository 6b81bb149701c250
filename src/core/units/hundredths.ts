/** To a hundredth: of what is drawn nobody sees more, and a full day sends thousands of figures. */
export const hundredths = (value: number): number => Math.round(value * 100) / 100
