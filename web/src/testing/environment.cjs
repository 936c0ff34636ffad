/* global TextEncoder, TextDecoder, Request, Response, Headers, structuredClone */
const { TestEnvironment } = require('jest-environment-jsdom');

/** A page as jsdom has it, with what Node has of the web and jsdom lacks. */
module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { TextEncoder, TextDecoder, Request, Response, Headers, structuredClone });
  }
};
