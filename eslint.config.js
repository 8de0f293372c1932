import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['resources/js/api/contract.d.ts'] },
    ...tseslint.configs.recommended,
    hooks.configs.flat['recommended-latest'],
    { rules: { '@typescript-eslint/no-explicit-any': 'error' } },
);
