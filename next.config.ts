import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['sequelize', 'sqlite3', 'umzug'],
  poweredByHeader: false,
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
};

export default config;
