import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';

/** Prints the page as it stands. */
export function PrintButton() {
  return (
    <Button
      icon={<PrinterOutlined />}
      onClick={() => {
        window.print();
      }}
    >
      Print
    </Button>
  );
}
