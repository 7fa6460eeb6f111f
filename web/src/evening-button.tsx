import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEvening } from './evening.tsx';
import { say } from './messages/app.ts';

/** What the switch leads to. */
export function eveningWords(evening: boolean): string {
  return evening ? say('light-colours') : say('dark-colours-for-evening-work');
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
