import { Button } from '@rneui/themed';
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
const s = createAsyncStorage('x');
export default function I() { return <Button title="hi" onPress={() => void s.getAllKeys()} />; }
