// A rule of our own for the linter: what a button looks like is its look. A colour given beside it would hang on the order
// of classes.
const COLOUR = /(^|[ :])(bg|border|text)-(?!sm|base|lg|xl|2xl|center|left)/;

/** Every string inside a node, also of templates and calls. */
const strings = (node) => {
    if (node === null || typeof node !== 'object') return [];
    if (Array.isArray(node)) return node.flatMap(strings);
    if (node.type === 'Literal') return typeof node.value === 'string' ? [node.value] : [];
    if (node.type === 'TemplateElement') return [node.value.cooked];
    return Object.entries(node).flatMap(([key, value]) => (key === 'parent' ? [] : strings(value)));
};

export default {
    meta: { name: 'even-rungs' },
    rules: {
        'button-look': {
            create: (context) => ({
                JSXOpeningElement: (node) => {
                    if (node.name.name !== 'Button') return;
                    for (const attribute of node.attributes)
                        if (attribute.name?.name === 'className' && strings(attribute.value).some((value) => COLOUR.test(value)))
                            context.report({
                                node: attribute,
                                message: 'Give the button another look instead of a colour of its own.',
                            });
                },
            }),
        },
    },
};
