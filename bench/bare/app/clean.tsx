import { Text } from 'react-native';

/** Where the one button leads. */
export default function Clean() {
  return <Text>Here</Text>;
}
