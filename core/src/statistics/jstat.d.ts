/** What is used of npm `jstat`: it ships no types. */
declare module 'jstat' {
  interface Distribution {
    cdf(x: number, ...parameters: number[]): number;
    inv(share: number, ...parameters: number[]): number;
    pdf(x: number, ...parameters: number[]): number;
  }
  const jstat: {
    readonly normal: Distribution;
    readonly studentt: Distribution;
    readonly beta: Distribution;
    readonly chisquare: Distribution;
    readonly centralF: Distribution;
    readonly tukey: Distribution;
  };
  export default jstat;
}
