import { Slot } from 'expo-router';
import { ThemeProvider, createTheme } from '@rneui/themed';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
const c = new QueryClient();
export default function L() { return <QueryClientProvider client={c}><ThemeProvider theme={createTheme({})}><Slot /></ThemeProvider></QueryClientProvider>; }
