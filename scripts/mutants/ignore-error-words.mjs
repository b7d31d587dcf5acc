import { declareValuePlugin, PluginKind } from '@stryker-mutator/api/plugin';

/** What an error says to the person who reads a stack is not behaviour: its words are not changed. */
const errorWords = {
  shouldIgnore(path) {
    const isError = path.isNewExpression() && /Error$/.test(path.node.callee.name ?? '');
    return isError ? 'the words of an error' : undefined;
  },
};

export const strykerPlugins = [declareValuePlugin(PluginKind.Ignore, 'error-words', errorWords)];
