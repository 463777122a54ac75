import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'sqlite', schema: './server/storage/schema.ts', out: './server/drizzle' });
