// bin/types.mjs OUT: the client's types from openapi.json. What openapi-typescript spells out and says nothing (methods a
// path does not have, parameters nobody sends, headers nobody reads) is left out, and small shapes stand on one line.
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const named = (node, ...names) => ts.isPropertySignature(node) && names.includes(node.name.text);
const members = (node) => (node.type && ts.isTypeLiteralNode(node.type) ? node.type.members : undefined);
const saysNothing = (node) =>
    ts.isPropertySignature(node) &&
    ((node.questionToken && node.type?.kind === ts.SyntaxKind.NeverKeyword) ||
        (named(node, 'headers') && members(node)?.every(ts.isIndexSignatureDeclaration)));

/** An answer by its status. */
const isAnswer = (node) => ts.isPropertySignature(node) && ts.isNumericLiteral(node.name);

const shortened = (context) => (root) => {
    const visit = (node) => {
        if (saysNothing(node)) return undefined;
        const kept = ts.visitEachChild(node, visit, context);
        if (named(kept, 'parameters') && members(kept)?.length === 0) return undefined;
        const isShort = named(kept, 'content', 'path', 'query') || (named(kept, 'parameters', 'requestBody') && members(kept)?.length === 1) || isAnswer(kept);
        if (isShort && members(kept)) ts.setEmitFlags(kept.type, ts.EmitFlags.SingleLine);
        if (ts.isTypeLiteralNode(kept) && kept.members.length === 1 && ts.isIndexSignatureDeclaration(kept.members[0])) ts.setEmitFlags(kept, ts.EmitFlags.SingleLine);
        return kept;
    };
    return ts.visitNode(root, visit);
};

const document = JSON.parse(readFileSync('openapi.json', 'utf8'), (key, value) => (key === 'description' && value === 'The answer.' ? undefined : value));
const nodes = await openapiTS(document);
const types = astToString(ts.transform(nodes, [shortened]).transformed);
writeFileSync(process.argv[2], `// Generated from openapi.json by bin/types.mjs: not to be changed by hand.\n\n${types}`);
