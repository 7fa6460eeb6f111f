/** Tells who started jest when fewer files are under way than there are cores: then other tests may begin. */
export default class JestTail {
  constructor({ maxWorkers }) {
    this.maxWorkers = maxWorkers;
    this.waiting = 0;
    this.running = 0;
  }

  onRunStart({ numTotalTestSuites }) {
    this.waiting = numTotalTestSuites;
  }

  onTestFileStart() {
    this.waiting -= 1;
    this.running += 1;
  }

  onTestFileResult() {
    this.running -= 1;
    if (this.waiting === 0 && this.running < this.maxWorkers) process.send?.('a core is free');
  }
}
