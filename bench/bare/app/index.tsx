import AsyncStorage from '@react-native-async-storage/async-storage';
import { Button, ThemeProvider } from '@rneui/themed';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import Joi from 'joi';
import { Text, View } from 'react-native';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import Svg, { Circle } from 'react-native-svg';

const client = new QueryClient();

/** An empty app of the same packages: what Biscuit's opening is measured beside. */
export default function Bare() {
  return (
    <SafeAreaProvider>
      <ThemeProvider>
        <QueryClientProvider client={client}>
          <First />
        </QueryClientProvider>
      </ThemeProvider>
    </SafeAreaProvider>
  );
}

function First() {
  const router = useRouter();
  const kept = useQuery({
    queryKey: ['kept'],
    queryFn: async () =>
      Joi.string()
        .allow(null)
        .validate(await AsyncStorage.getItem('kept')).error ?? 'nothing',
  });
  return (
    <View>
      <Text>Bare</Text>
      <Svg width={26} height={26}>
        <Circle cx={13} cy={13} r={10} />
      </Svg>
      <Text>{String(kept.data)}</Text>
      <Button title="Go on" testID="start-cleaning" onPress={() => router.push('/clean')} />
    </View>
  );
}
