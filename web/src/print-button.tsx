import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { say } from './messages/app.ts';

/** Prints the page as it stands. */
export function PrintButton() {
  return (
    <Button
      icon={<PrinterOutlined />}
      onClick={() => {
        window.print();
      }}
    >
      {say('print')}
    </Button>
  );
}
