import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEvening } from './evening.tsx';

/** What the switch leads to. */
export function eveningWords(evening: boolean): string {
  return evening ? 'Light colours' : 'Dark colours for evening work';
}

export function EveningButton() {
  const { evening, setEvening } = useEvening();
  return (
    <Button
      type="text"
      icon={evening ? <SunOutlined /> : <MoonOutlined />}
      aria-label={eveningWords(evening)}
      onClick={() => {
        setEvening(!evening);
      }}
    />
  );
}
